/**
 * What is done to pieces after they are dry.
 *
 * <p>May use: core finish, core mould, core route, http, mould, route.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.finish;
