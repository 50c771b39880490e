"""Copies B612 Regular and Bold into resources/fonts under the family name "Count Figures".

Where the system has B612 Mono installed, it claims the family name B612 too and would be drawn instead; a name of our
own makes the shipped face the only one. Needs Debian's fonts-b612 and python3-fonttools. Run when the fonts change.
"""
import sys

from fontTools.ttLib import TTFont

FAMILY = "Count Figures"
for style in ("Regular", "Bold"):
    font = TTFont(f"/usr/share/fonts/opentype/b612/B612-{style}.otf")
    for record in list(font["name"].names):
        if record.nameID in (16, 17, 21, 22, 25):
            font["name"].removeNames(nameID=record.nameID)
        values = {1: FAMILY, 2: style, 3: f"{FAMILY} {style}, from B612", 4: f"{FAMILY} {style}", 6: f"CountFigures-{style}"}
        if record.nameID in values:
            record.string = values[record.nameID]
    if "CFF " in font:
        cff = font["CFF "].cff
        cff.fontNames[0] = f"CountFigures-{style}"
        top = cff.topDictIndex[0]
        top.FullName, top.FamilyName = f"{FAMILY} {style}", FAMILY
    font.save(f"{sys.argv[1]}/CountFigures-{style}.otf")
