"""Plain words: lengths and numbers in sentences, rows and trims in words, and the facts about a page's fields."""
