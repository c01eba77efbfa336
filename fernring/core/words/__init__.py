"""Plain words: lengths and numbers in sentences, rows and trims in words, and the facts that fill in a page's fields."""
