"""The lines drawn before painting: where they run, what draws them, and whether they would show at the end."""
