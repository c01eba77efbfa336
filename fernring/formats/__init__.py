"""One module a format: documents and plans to bytes or text, and back."""
