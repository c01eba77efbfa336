"""FastAPI: thin routes around the core, the formats and the store."""
