"""Calculations in processes of their own, so that none can hold up the server or outlive its asker."""
