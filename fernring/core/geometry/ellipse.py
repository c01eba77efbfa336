"""The ellipse."""

from math import pi, sqrt


def perimeter(length: float, width: float) -> float:
    """Perimeter (mm) of an ellipse with these axes, 4a E(e), by the arithmetic-geometric mean.

    E/K = 1 - sum of 2^(n-1) c_n² with c_0² = a² - b². Source: DLMF 19.8 (the Gauss-Legendre form).
    """
    a, g = max(length, width) / 2, min(length, width) / 2
    big, total, power = a, (a * a - g * g) / 2, 1.0
    while abs(a - g) > 1e-15 * a:
        a, g, c = (a + g) / 2, sqrt(a * g), (a - g) / 2
        total += power * c * c
        power *= 2
    return 2 * pi * (big * big - total) / a
