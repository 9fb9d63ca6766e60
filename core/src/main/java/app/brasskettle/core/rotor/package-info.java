/** The cage: broken bars by the sidebands of a current record and by the current over a turn. */
package app.brasskettle.core.rotor;
