"""What is done at the table: events as they are told, and the logbook that they make."""
