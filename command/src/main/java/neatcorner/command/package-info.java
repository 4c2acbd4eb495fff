/**
 * The command line. {@link neatcorner.command.NeatCorner} is where the program starts; each subcommand is a class of its
 * own. Standard output carries what was asked for and nothing else; complaints are one line on standard error.
 */
@NullMarked
package neatcorner.command;

import org.jspecify.annotations.NullMarked;
