"""A page of a PDF as a picture, rendered by PDFium: what is shown is the file itself."""

from io import BytesIO

import numpy as np


def page_png(data: bytes, number: int, pixels: int) -> bytes:
    """Page `number` (from 1) as a PNG whose longer side has so many pixels, without colours where it has none."""
    import pypdfium2

    document = pypdfium2.PdfDocument(data)
    try:
        page = document[number - 1]
        image = page.render(scale=pixels / max(page.get_size())).to_pil().convert("RGB")
    finally:
        document.close()
    seen = np.asarray(image)
    if (seen == seen[:, :, :1]).all():
        image = image.convert("L")
    out = BytesIO()
    image.save(out, "PNG", optimize=False)
    return out.getvalue()
