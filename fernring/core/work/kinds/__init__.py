"""The kinds of steps, in the order of the work. A new kind is one module, and one line here."""

from .back import BACK
from .bake import BAKE
from .base_coat import BASE_COAT
from .check import CHECK
from .coat import COAT
from .dotting import DOTTING
from .erase import ERASE
from .fill_holes import FILL_HOLES
from .glue import GLUE
from .kind import StepKind
from .line import LINE
from .mark_out import MARK_OUT
from .mask import MASK, PEEL
from .overlay import OVERLAY
from .petals import PETALS
from .pilot import PILOT
from .pull import PULL
from .ready import READY
from .repair import REPAIR
from .sand import SAND
from .seal import SEAL
from .selective import SELECTIVE
from .sides import SIDES
from .stroke import STROKE
from .swirl import SWIRL
from .tops import TOPS
from .turn import TURN
from .underbase import UNDERBASE
from .zone import ZONE

KINDS: tuple[StepKind, ...] = (
    SAND, FILL_HOLES, BASE_COAT, SIDES, UNDERBASE, ZONE, SEAL, MASK, MARK_OUT, PILOT, DOTTING, SWIRL, PULL, PETALS,
    STROKE, LINE,
    TOPS, REPAIR, TURN, ERASE, CHECK, PEEL, OVERLAY, BAKE, COAT, SELECTIVE, GLUE, BACK, READY,
)  # fmt: skip
