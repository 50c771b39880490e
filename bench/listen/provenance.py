"""Where trained numbers came from: comment lines for the head of a *_net.inc, made of what the training itself was given and said."""
import os
import sys

FIGURES = []


def tell(text):
    """Prints a figure and keeps it for the file."""
    print(text, flush=True)
    FIGURES.append(" ".join(text.split()))


def lines(script, what, folders):
    """`folders`: name, weight and number of pieces of each."""
    out = [f"// Trained by bench/listen/{script}; not to be edited by hand.",
           f"// {what + '. ' if what else ''}From: " + ", ".join(f"{os.path.basename(os.path.normpath(name))} ({count} pieces, weight {weight:g})" for name, weight, count in folders) + "."]
    flags = [a for a in sys.argv[1:] if os.sep not in a and a not in ("--build", "--rows")]
    out.append("// Flags: " + " ".join(flags) + ".")
    out += ["// " + figure for figure in FIGURES]
    return out
