"""What Fern Ring proposes: what fits here, a next row, spread slack, a first design, and what new things begin with."""
