"""Plain numbers and numpy arrays in and out; nothing here knows a document."""
