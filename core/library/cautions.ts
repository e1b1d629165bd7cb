/**
 * The cautions that stand wherever a break is led. They never diagnose; doctors, physiotherapists and local
 * rules come first. Common practice, no source.
 */
export const standingCautions: readonly { title: string; text: string }[] = [
  {
    title: 'Everyday tension only',
    text: 'This is for everyday muscle tension, not for treating an injury. Injury, recent surgery or a known condition: ask a doctor or physiotherapist first. Local workplace rules come first.',
  },
  {
    title: 'Mild tension, never pain',
    text: 'Hot, burning, sharp, electric, numb or tingling: stop.',
  },
  {
    title: 'Stop, sit, get help',
    text: 'Dizzy, sick, double vision, trouble speaking or swallowing, fainting, sudden severe headache, chest pain: the break is over for that person.',
  },
  {
    title: 'Chairs that roll',
    text: 'Lock them, or wedge them against the desk or the wall.',
  },
];
