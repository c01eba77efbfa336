"""Judgement in plain words: verdicts with remedies, what fits, spreading the slack."""
