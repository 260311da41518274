// The standards and customs that figures are taken from, named once.
export const SOURCE = {
  atx: 'ATX specification 2.2, mounting holes',
  miniItx: 'Mini-ITX addendum 2.0',
  atx12v: 'ATX12V power supply design guide',
  sata: 'Serial ATA specification',
  usb: 'USB 2.0 and 3.2 header guides',
  pcie: 'PCI Express card electromechanical specification',
  jedec: 'JEDEC module outline',
  m2: 'PCI Express M.2 specification',
  fan: '4-wire PWM fan specification',
  audio: 'HD Audio front panel design guide',
  panel: 'front panel I/O design guide',
  practice: 'engineering practice',
  maker: 'the maker’s sheet',
  assumed: 'typical value, no standard',
} as const
