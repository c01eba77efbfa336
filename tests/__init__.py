"""Tests of Fern Ring. Folders mirror the packages; `outside` checks against published sources."""
