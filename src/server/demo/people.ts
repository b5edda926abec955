/** The demo's organisations and members. Shown on the sign-in page of the demo only. */
export const demoOrganisations = [
  {
    id: '6d1f0c52-9d0b-4f35-8a43-2f6f1d6a0001',
    name: 'Marrow Lock Panel Survey',
    members: [
      {
        id: 'ines-marrable',
        email: 'ines@marrow-lock.example',
        password: 'sluice-lantern',
        name: 'Ines Marrable',
        licence: 'ML-1041',
        licenceExpires: '2031-03-31',
        scope: 'opens',
      },
      {
        id: 'bram-oxgate',
        email: 'bram@marrow-lock.example',
        password: 'towpath-heron',
        name: 'Bram Oxgate',
        licence: 'ML-1077',
        may: ['record', 'overrule', 'issue'],
        scope: 'tests',
      },
    ],
  },
  {
    id: '6d1f0c52-9d0b-4f35-8a43-2f6f1d6a0002',
    name: 'Eelweir Electric',
    members: [
      {
        id: 'odile-fenwright',
        email: 'odile@eelweir.example',
        password: 'osier-basket',
        name: 'Odile Fenwright',
        licence: 'EW-208',
        scope: 'full',
      },
    ],
  },
] as const;
