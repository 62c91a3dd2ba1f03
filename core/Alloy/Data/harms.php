<?php

declare(strict_types=1);

// What turns a metal brittle, ruins it or must never be in it, by its base: from which share of an element on, and what that does. Taken
// 2026-11 by the founders. Recalled from memory (ASM Metals Handbook vols 2 and 15; the binary phase diagrams) unless a row says otherwise.
// from, to: per cent of mass; no upper end where it only gets worse. kind: brittle (it breaks), forbidden (it must not be used so, or at
// all), weak (it casts or wears badly). with: only where so much of another element is there as well, [element, per cent].
return [
    [
        'code' => 'al_iron', 'base' => 'Al', 'element' => 'Fe', 'from' => 1.0, 'kind' => 'brittle',
        'words' => 'Iron freezes into long needles that tear the casting: dilute it with clean metal, nothing takes it out again.',
    ],
    [
        'code' => 'al_copper', 'base' => 'Al', 'element' => 'Cu', 'from' => 33.0, 'to' => 75.0, 'kind' => 'brittle',
        'words' => 'Aluminium and copper in such shares make a compound that breaks like glass.',
        'source' => 'the compound Al2Cu, about 53 % copper',
    ],
    [
        'code' => 'al_tin', 'base' => 'Al', 'element' => 'Sn', 'from' => 0.3, 'kind' => 'weak',
        'words' => 'Tin stays liquid between the grains and tears them apart while the rest freezes.',
    ],
    [
        'code' => 'al_zinc_magnesium', 'base' => 'Al', 'element' => 'Zn', 'from' => 3.0, 'kind' => 'weak', 'with' => ['Mg', 1.0],
        'words' => 'Zinc with magnesium tears hot and cracks later on its own, in damp air.',
    ],
    [
        'code' => 'al_mg_si', 'base' => 'Al', 'element' => 'Mg', 'from' => 1.5, 'kind' => 'brittle', 'with' => ['Si', 5.0],
        'words' => 'So much magnesium beside silicon freezes into coarse, brittle plates.',
    ],
    [
        'code' => 'zn_lead', 'base' => 'Zn', 'element' => 'Pb', 'from' => 0.007, 'kind' => 'forbidden',
        'words' => 'Lead makes zinc swell, crack and crumble within years: no solder, no old alloys in it.',
    ],
    [
        'code' => 'zn_tin', 'base' => 'Zn', 'element' => 'Sn', 'from' => 0.003, 'kind' => 'forbidden',
        'words' => 'Tin makes zinc swell, crack and crumble within years: no solder, no pewter in it, nor in its crucible.',
    ],
    [
        'code' => 'zn_cadmium', 'base' => 'Zn', 'element' => 'Cd', 'from' => 0.006, 'kind' => 'forbidden',
        'words' => 'Cadmium makes zinc crumble, and its fume is a poison.',
    ],
    [
        'code' => 'zn_iron', 'base' => 'Zn', 'element' => 'Fe', 'from' => 0.1, 'kind' => 'weak',
        'words' => 'Iron from a bare pot makes hard grains that blunt every tool.',
    ],
    [
        'code' => 'cu_tin', 'base' => 'Cu', 'element' => 'Sn', 'from' => 16.0, 'to' => 19.0, 'kind' => 'brittle',
        'words' => 'Above some 16 % tin bronze is hard and breaks at a blow; bells live with it, handles do not.',
    ],
    [
        'code' => 'cu_tin_bell', 'base' => 'Cu', 'element' => 'Sn', 'from' => 24.0, 'to' => 40.0, 'kind' => 'brittle',
        'words' => 'So much tin makes bronze as brittle as glass: it is mirror metal.',
    ],
    [
        'code' => 'cu_zinc', 'base' => 'Cu', 'element' => 'Zn', 'from' => 46.0, 'to' => 85.0, 'kind' => 'brittle',
        'words' => 'Above some 46 % zinc brass turns white and brittle.',
        'source' => 'the gamma phase of copper and zinc',
    ],
    [
        'code' => 'cu_aluminium', 'base' => 'Cu', 'element' => 'Al', 'from' => 11.5, 'to' => 40.0, 'kind' => 'brittle',
        'words' => 'Above some 11.5 % aluminium the bronze is brittle; slow cooling makes it worse.',
        'source' => 'the gamma-two phase of copper and aluminium',
    ],
    [
        'code' => 'cu_tin_aluminium', 'base' => 'Cu', 'element' => 'Al', 'from' => 0.02, 'kind' => 'weak', 'with' => ['Sn', 3.0],
        'words' => 'A trace of aluminium in tin bronze leaves skins and leaks: keep aluminium bronze and its crucible apart.',
    ],
    [
        'code' => 'cu_lead_aluminium', 'base' => 'Cu', 'element' => 'Pb', 'from' => 0.1, 'kind' => 'brittle', 'with' => ['Al', 5.0],
        'words' => 'Lead makes aluminium bronze break along its grains while it is hot.',
    ],
    [
        'code' => 'cu_lead_silicon', 'base' => 'Cu', 'element' => 'Pb', 'from' => 0.5, 'kind' => 'brittle', 'with' => ['Si', 1.0],
        'words' => 'Lead makes silicon bronze tear while it is hot.',
    ],
    [
        'code' => 'cu_bismuth', 'base' => 'Cu', 'element' => 'Bi', 'from' => 0.01, 'kind' => 'brittle',
        'words' => 'A trace of bismuth lies between the grains and makes copper brittle.',
    ],
    [
        'code' => 'cu_cadmium', 'base' => 'Cu', 'element' => 'Cd', 'from' => 0.1, 'kind' => 'forbidden',
        'words' => 'Cadmium boils off long before copper melts, and its fume kills: do not melt this.',
    ],
    [
        'code' => 'cu_beryllium', 'base' => 'Cu', 'element' => 'Be', 'from' => 0.1, 'kind' => 'forbidden',
        'words' => 'Beryllium dust and fume are poison for life: do not melt, grind or file this.',
    ],
    [
        'code' => 'ag_lead', 'base' => 'Ag', 'element' => 'Pb', 'from' => 0.05, 'kind' => 'brittle',
        'words' => 'A trace of lead, from solder, makes silver crack when it is worked.',
    ],
    [
        'code' => 'ag_tin', 'base' => 'Ag', 'element' => 'Sn', 'from' => 0.5, 'kind' => 'brittle',
        'words' => 'Tin, from soft solder, makes silver brittle.',
    ],
    [
        'code' => 'ag_aluminium', 'base' => 'Ag', 'element' => 'Al', 'from' => 0.5, 'kind' => 'brittle',
        'words' => 'Aluminium makes silver brittle and skins the melt.',
    ],
    [
        'code' => 'ag_cadmium', 'base' => 'Ag', 'element' => 'Cd', 'from' => 0.1, 'kind' => 'forbidden',
        'words' => 'Old silver solder holds cadmium; its fume kills: do not melt this.',
    ],
    [
        'code' => 'sn_lead', 'base' => 'Sn', 'element' => 'Pb', 'from' => 0.25, 'kind' => 'forbidden',
        'words' => 'With so much lead it is for nothing that touches food, drink, mouths or children.',
        'source' => 'EN 611, which allows 0.25 %',
    ],
    [
        'code' => 'sn_zinc', 'base' => 'Sn', 'element' => 'Zn', 'from' => 0.1, 'kind' => 'weak',
        'words' => 'Zinc skins pewter over and keeps it from filling fine detail.',
    ],
    [
        'code' => 'sn_antimony', 'base' => 'Sn', 'element' => 'Sb', 'from' => 10.0, 'kind' => 'brittle',
        'words' => 'Above some 10 % antimony pewter holds hard cubes and breaks when it is bent.',
    ],
    [
        'code' => 'sn_aluminium', 'base' => 'Sn', 'element' => 'Al', 'from' => 0.05, 'kind' => 'weak',
        'words' => 'Aluminium skins pewter over, and the skin goes into every fine edge.',
    ],
    [
        'code' => 'fe_phosphorus', 'base' => 'Fe', 'element' => 'P', 'from' => 0.5, 'kind' => 'brittle',
        'words' => 'Phosphorus fills thin walls well and breaks them as easily.',
    ],
    [
        'code' => 'fe_sulphur', 'base' => 'Fe', 'element' => 'S', 'from' => 0.15, 'kind' => 'brittle',
        'words' => 'So much sulphur makes iron white, hard and full of blows.',
    ],
    [
        'code' => 'fe_chromium', 'base' => 'Fe', 'element' => 'Cr', 'from' => 0.6, 'to' => 10.0, 'kind' => 'brittle',
        'words' => 'Chromium keeps grey iron from going grey: thin walls freeze white and cannot be cut.',
    ],
    [
        'code' => 'fe_aluminium', 'base' => 'Fe', 'element' => 'Al', 'from' => 0.02, 'to' => 0.3, 'kind' => 'weak',
        'words' => 'A trace of aluminium makes pinholes in iron poured into moist sand.',
    ],
];
