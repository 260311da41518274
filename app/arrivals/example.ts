// Two made-up sheets in one text, as one copies them: to see how they come in.
export const EXAMPLE = `Kelder Post 120 CPU air cooler
Height: 148 mm
Sockets: TERN-2, KNOT-5
RAM clearance: up to 42 mm
Fan: 1 x 120 mm, 4-pin PWM
Fan current: 0.18 A
Price: 39,90 €

Brackwater Reach 4 mid tower case
Motherboard support\tATX, Micro-ATX, Mini-ITX
Max. GPU length\t355 mm
CPU cooler height\t165 mm
PSU length\tup to 200 mm
Fans\tFront: 3 x 120 mm; Rear: 1 x 120 mm
Cable routing space\t24 mm
Front I/O\t2 x USB 3.0, 1 x USB-C, audio
Price\t89,00 €`
