/** The security journal: sign-ins, failures, rights, tokens and exports, written once and read by an administrator. */
package app.brasskettle.server.audit;
