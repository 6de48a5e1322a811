/**
 * People in a room who each work through the same tasks with tools they share: when they are done, where they wait and for how long, and what would
 * have to be done before so that they are done in time. Knows nothing of cards.
 *
 * <p>A discrete-event simulation ({@link kwibbet.room.Rooms}): each person has a pace, each task varies, who finds a tool taken does what can be done
 * meanwhile and otherwise queues, first come first served. Random numbers belong to a room, a person and a task, so two plans are compared with the same
 * people (common random numbers; Law, Simulation Modeling and Analysis, from memory). Checked against Erlang's formulas for M/M/1 and M/M/c and the
 * machine-repair model (Gross and Harris, Fundamentals of Queueing Theory, from memory). Minutes are doubles: nothing here is measured on paper. Nothing is
 * null; uses nothing else of the core.
 */
@NullMarked
package kwibbet.room;

import org.jspecify.annotations.NullMarked;
