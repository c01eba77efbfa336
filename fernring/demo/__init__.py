"""The demo studio: a village observatory's winter open night. All names and sizes are invented."""
