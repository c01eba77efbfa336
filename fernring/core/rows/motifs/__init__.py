"""Rows with a centre of their own: where their places are, what each sees, and how they are joined."""
