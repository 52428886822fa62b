// A fault is told where it stands in the source.
process.setSourceMapsEnabled(true);
