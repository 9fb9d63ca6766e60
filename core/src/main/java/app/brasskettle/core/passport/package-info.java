/** What a motor's earlier jobs say of it: trends of its tests, and failures that come back. */
package app.brasskettle.core.passport;
