/** Tests on record: stored, read again by the plate that stands now. */
package app.brasskettle.server.testrecord;
