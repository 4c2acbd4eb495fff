/**
 * What is open: jobs, the shop, and the work that goes on behind the window.
 *
 * <p>A {@link neatcorner.desktop.document.Document} is one open job. Whatever a maker does to it is a named
 * {@link neatcorner.desktop.document.Change}, applied to the job as it is then, however old the picture was in which it was
 * made; each can be undone. The {@link neatcorner.desktop.document.DocumentStore} puts it on the disk, in order and away from
 * the window's thread. {@link neatcorner.desktop.document.Planning} works out what follows; a result that comes too late is
 * dropped. What all jobs share lies in the {@link neatcorner.desktop.document.ShopState}, made of
 * {@link neatcorner.desktop.document.SharedFile}s, which take changes of several programs one after the other; the
 * {@link neatcorner.desktop.document.OffcutShelf} is one of them.
 *
 * <p>Nothing in here knows the window: slow work is not a task of the toolkit, which reports to the toolkit's own thread, so
 * that all of it can be followed step by step in a test. All of it lives on one thread, which is named by an executor.
 */
@org.jspecify.annotations.NullMarked
package neatcorner.desktop.document;
