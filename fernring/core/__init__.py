"""The rules and the reckoning. Pure: no files, clock, database, web or hidden randomness."""
