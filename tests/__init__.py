"""The tests. Property tests run the same samples each time, and are not hurried on a busy machine."""

from hypothesis import settings

settings.register_profile("steady", deadline=None, derandomize=True)
settings.load_profile("steady")
