<?php

declare(strict_types=1);

// The pictures of docs/screenshots: NAME=PATH[@WIDTHxHEIGHT][#what to press first, parted by >>].
return [
    'bench=/@1280x800',
    'week=/week@1280x1300',
    'casting-trail=/castings/{rowlock}@1280x1100',
    'attempt=/attempts/{rowlock.2}@1280x1000',
    'pour-day-phone=/attempts/{rowlock.5}/day@390x844',
    'melt-curve=/attempts/{rowlock.4}@1280x1000#//a[normalize-space(.)="Melt curve"]',
    'plan-filling=/attempts/{rowlock.2}/plan?stage=filling@1280x1000#//li[contains(.,"Fill ratio, rim")]//summary',
    'plan-mesh=/castings/{stove}/plan?stage=pattern@1280x1000#mesh://*[@aria-label="Start from a mesh"]//input[@type="file"]',
    'log-phone=/log?casting={rowlock}@390x844',
    'why=/attempts/{rowlock.2}/why@1280x1100',
    'change-sheet=/attempts/{stove.2}/changes@1280x1100',
    'workshop=/workshop@1280x1500',
    'heap=/workshop/heaps/{heap.facing}@1280x1200',
    'charge=/attempts/{boom.6}/charge@1280x1000',
    'pattern=/workshop/patterns/{pattern.ring}@1280x1000',
    'cost=/attempts/{bow.3}/cost@1280x1500',
    'finishing-phone=/attempts/{rowlock.3}/finish@390x844',
    'other-ways=/attempts/{boom.6}/ways@1280x1000',
    'ledger=/ledger@1280x800',
];
