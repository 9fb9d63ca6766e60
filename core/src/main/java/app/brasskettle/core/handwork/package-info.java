/** What hands do one piece at a time while a motor is rewound, by whom and when: coils laid in, joints brazed. */
package app.brasskettle.core.handwork;
