// Lines that add up a list of parts, or tell how it comes: they name no part.

const SUM = new RegExp(
  [
    String.raw`^\W*(?:(?:sub|grand |order |in )?-?total|(?:zwischen|gesamt)?summe|gesamt(?:preis|betrag)?`,
    String.raw`|voucher|gutschein|coupon|paid|payment|ship(?:ped)? to|deliver(?:ed)? to|bill(?:ed|ing)?`,
    String.raw`|invoice|rechnung|placed on|VAT|MwSt|tax(?:es)?|shipping|versand(?:kosten)?|delivery`,
    String.raw`|discount|savings?|budget`,
    String.raw`|order\b|your (?:order|basket|cart)|(?:my |the )?(?:basket|cart)|warenkorb)(?![\w-])`,
  ].join(''),
  'i',
)
export const isSum = (line: string): boolean => SUM.test(line)
