package app.brasskettle.server.reports;

import app.brasskettle.server.photos.Photo;

/** A photograph with its picture as a JPEG. */
record Pictured(Photo photo, byte[] jpeg) {}
