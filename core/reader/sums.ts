// Lines that add up a list of parts, or tell how it comes: they name no part.

const SUM = new RegExp(
  [
    String.raw`^\W*(?:(?:sub|grand |order |in )?-?total|(?:zwischen|gesamt)?summe|gesamt(?:preis|betrag)?`,
    String.raw`|VAT|MwSt|tax(?:es)?|shipping|versand(?:kosten)?|delivery|discount|savings?|budget`,
    String.raw`|order\b|your (?:order|basket|cart)|(?:my |the )?(?:basket|cart)|warenkorb)(?![\w-])`,
  ].join(''),
  'i',
)
export const isSum = (line: string): boolean => SUM.test(line)
