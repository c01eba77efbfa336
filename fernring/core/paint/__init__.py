"""Paint as matter: what it absorbs and scatters, mixes of it, recipes in drops, how much of it a piece takes."""
