/** Open jobs and their files, driven step by step against plain models of what must be there. */
@org.jspecify.annotations.NullMarked
package neatcorner.desktop.document;
