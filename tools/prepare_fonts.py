"""Prepares the faces that ship with the program, under family names of our own, into a folder (resources/fonts).

Usage: prepare_fonts.py FOLDER. Needs Debian's fonts-b612, fonts-lato and python3-fonttools. Run when the fonts change.

"Count Figures" is B612: where the system has B612 Mono installed, it claims the family name B612 too and would be drawn
instead. "Count Words" is Lato, whose licence reserves its name to the unchanged face, changed in two ways:
* lines begin at the accents of capitals (À, Ü), which are cut off in Lato; the distance of lines stays;
* no ligatures, which make "left" and "fifth" unfindable in a PDF.
"""
import sys

from fontTools.ttLib import TTFont

ACCENTS = 0.955  # of the em: the highest of À, Ä, É and Ñ in all weights is .934


def renamed(font: TTFont, old: str, new: str) -> None:
    """Names the font anew wherever it says its own name; who made it and under which licence stays."""
    for record in font["name"].names:
        if record.nameID in (1, 3, 4, 6, 16, 18):
            text = record.toUnicode()
            record.string = text.replace(old, new.replace(" ", "") if record.nameID in (3, 6) else new)


def words(folder: str, style: str) -> None:
    font = TTFont(f"/usr/share/fonts/truetype/lato/Lato-{style}.ttf")
    renamed(font, "Lato", "Count Words")
    lines, em = font["OS/2"], font["head"].unitsPerEm
    gained = round(ACCENTS * em) - lines.sTypoAscender
    lines.sTypoAscender += gained
    lines.sTypoLineGap -= gained
    table = font["GSUB"].table
    for record in table.FeatureList.FeatureRecord:
        if record.FeatureTag in ("liga", "dlig", "hlig"):
            record.Feature.LookupListIndex, record.Feature.LookupCount = [], 0
    font.save(f"{folder}/CountWords-{style}.ttf")


def figures(folder: str, style: str) -> None:
    family = "Count Figures"
    font = TTFont(f"/usr/share/fonts/opentype/b612/B612-{style}.otf")
    for record in list(font["name"].names):
        if record.nameID in (16, 17, 21, 22, 25):
            font["name"].removeNames(nameID=record.nameID)
        values = {1: family, 2: style, 3: f"{family} {style}, from B612", 4: f"{family} {style}", 6: f"CountFigures-{style}"}
        if record.nameID in values:
            record.string = values[record.nameID]
    if "CFF " in font:
        cff = font["CFF "].cff
        cff.fontNames[0] = f"CountFigures-{style}"
        top = cff.topDictIndex[0]
        top.FullName, top.FamilyName = f"{family} {style}", family
    font.save(f"{folder}/CountFigures-{style}.otf")


for style in ("Regular", "Medium", "Semibold", "Bold", "Heavy", "Black"):
    words(sys.argv[1], style)
for style in ("Regular", "Bold"):
    figures(sys.argv[1], style)
