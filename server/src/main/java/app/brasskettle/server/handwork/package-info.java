/** What is done with one tap while a motor is rewound and released, and what a temperature logger wrote. */
package app.brasskettle.server.handwork;
