/** The field family ships the words of some thirty languages; only those of ours go into the build (src/core/words/languages.ts). */
const OURS = /[\\/](en-US|es-ES|fr-FR)\.mjs$/;

module.exports = function languagesOfFields(source) {
  return OURS.test(this.resourcePath) ? source : 'export default {};';
};
