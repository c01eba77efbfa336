"""The rules and the calculation. Pure: no files, clock, database, web or hidden randomness."""
