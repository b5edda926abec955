/**
 * SHA-256 of every text the first migrations ever had: three of them were edited after they had run
 * somewhere. 0009 brings whatever they left to one schema. From 0008 on a text that ran is never edited,
 * and its digest is kept by the database itself.
 */
export const textsThatRan: Readonly<Record<string, readonly string[]>> = {
  '0001_organisations.sql': ['1c356384d6e4fc192f42fe867e82154ae830a349e4107167fbd92b13c5e200ed'],
  '0002_inspections.sql': ['429224040b1d66ad17353b9719c1fd861bc98df0750a24e81a94cb22508d4361'],
  '0003_before_an_organisation.sql': [
    '257e4ab75397c6c6257aab86b916083fd0b78aaaf59b932068a37e8fe1c48e6a',
    '6fb009e92784e765701a7926affb81037df2c471f20fa18e1140725b60f661d8',
    'd4093e006cad4bd11e1ecb94c09a4a7be01ac813e8a9c0d90a98a939ffdab322',
  ],
  '0004_pictures.sql': ['facfb54c7786290026df0b01934d9bc4671defe8f067eb389632ab213f74e532'],
  '0005_settings.sql': ['4e54a808f923f90aa103b0d389e0487c7789288c62eeebbcae56b8ad88de917a'],
  '0006_reports.sql': [
    'c70118b5b7ac2d41682709a0d37f21f4d09ca397f4c25150931e6ea2f867bda0',
    'a1f9805b27fa3eb62dbf51dea3211c019b331ed28dfad3c0ae59253bd6c94ca6',
    '5a2729776c541672ca1a0e84f6fcaca80c6de43f5ab0c0259c9d63a32d9be044',
  ],
  '0007_report_files.sql': [
    'e1124929d31be872fee7b2b547279a16d585a8680c51cf3755b65dafcc315768',
    '483cc2ed7c54c444b5cca2f149b04b458d05d0b4f7faa2b69efab92615229ebe',
    '5cfd7d2d2d13b004ae350c3757a10d9d5a7f036fd0529cb1f7a3a3a846a0fac7',
  ],
  '0008_report_rechecks.sql': ['17458e06c735672cf390824aeef6098bf6c4c93c9af46b57220688c5db45849e'],
};
