/**
 * Moulds on paper: section and outline as drawings, the outline one to one over sheets, labels.
 *
 * <p>May use: copy, core lettering, core mould, core quantity, http, lan, mould, print, standin,
 * style.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.mould.drawing;
