/**
 * Moulds on paper: section and outline as drawings, the outline one to one over sheets, labels.
 *
 * <p>May use: http, print, style, mould, copy, standin, core mould, core lettering, the PDF and
 * bar-code libraries.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.mould.drawing;
