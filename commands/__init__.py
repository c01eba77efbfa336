"""What ./fern does. Only the standard library here: these run before anything is installed."""
