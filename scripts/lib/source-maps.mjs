// What fails in a bundle is told with its place in the source.
process.setSourceMapsEnabled(true);
