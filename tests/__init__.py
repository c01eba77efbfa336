"""The tests. Property tests run the same samples each time, are not hurried, and say how to repeat what failed."""

from hypothesis import settings

settings.register_profile("steady", deadline=None, derandomize=True, print_blob=True)
settings.load_profile("steady")
