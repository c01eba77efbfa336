"""The ways in which an area is filled, in the order they are offered. A new one is one module, and one line here."""

from .airy import AIRY
from .graded import GRADED
from .inward import INWARD
from .laid import SLANTED, SQUARE
from .manner import Manner
from .micro import MICRO
from .packed import PACKED
from .scattered import SCATTERED
from .swirling import SWIRLING

MANNERS: dict[str, Manner] = {
    manner.id: manner for manner in (PACKED, AIRY, SCATTERED, INWARD, SWIRLING, GRADED, SQUARE, SLANTED, MICRO)
}
