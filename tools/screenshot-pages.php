<?php

declare(strict_types=1);

// The pictures of docs/screenshots: NAME=PATH[@WIDTHxHEIGHT][#what to press first, parted by >>].
return [
    'bench=/@1280x800',
    'week=/week@1280x1300',
    'week-phone=/week@390x844',
    'casting-trail=/castings/{rowlock}@1280x1100',
    'attempt=/attempts/{rowlock.2}@1280x1000',
    'pour-day-phone=/attempts/{rowlock.5}/day@390x844',
    'plan-pattern=/attempts/{rowlock.5}/plan?stage=pattern@1280x1100',
    'melt-curve=/attempts/{rowlock.4}@1280x1000#//a[normalize-space(.)="Melt curve"]',
    'plan-mesh=/castings/{stove}/plan?stage=pattern@1280x1000#mesh://*[@aria-label="Start from a mesh"]//input[@type="file"]',
    'plan-gating=/attempts/{rowlock.5}/plan?stage=gating@1280x1100',
    'plan-filling=/attempts/{rowlock.2}/plan?stage=filling@1280x1000#//li[contains(.,"Fill ratio, rim")]//summary',
    'plan-feeding=/attempts/{rowlock.4}/plan?stage=feeding@1280x1100',
    'log-phone=/log?casting={rowlock}@390x844',
    'why=/attempts/{rowlock.2}/why@1280x1100',
    'change-sheet=/attempts/{stove.2}/changes@1280x1100',
    'workshop=/workshop@1280x1500',
    'heap=/workshop/heaps/{heap.facing}@1280x1200',
    'charge=/attempts/{boom.6}/charge@1280x1000',
    'ledger=/ledger@1280x800',
];
