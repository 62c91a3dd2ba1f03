<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Sand;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Mould\MouldMaterial;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Sand\BurntSand;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** How much sand a pour burns, held against a numerical solution of its own by SciPy and against what foundries replace. */
final class BurntSandTest extends TestCase
{
    /** @return iterable<string, array{string, float, float}> */
    public static function pours(): iterable
    {
        yield 'iron, bentonite' => ['grey_iron', 1350, 640];
        yield 'bronze, natural clay' => ['tin_bronze', 1130, 550];
        yield 'aluminium, oil' => ['al_si7mg', 720, 300];
    }

    /** A plate of metal on thick sand, by the method of lines with a stiff solver on a grid that widens: another way, finer. */
    #[DataProvider('pours')]
    public function testAgreesWithScipy(string $code, float $celsius, float $spent): void
    {
        $alloy = AlloyTable::get($code);
        $sand = self::sand($alloy);
        $script = <<<PY
            import numpy as np
            from scipy.integrate import solve_ivp
            M={$alloy->densitySolid->si()}*0.004; cs={$alloy->heatSolid->si()}; cl={$alloy->heatLiquid->si()}; L={$alloy->latentHeat->si()}
            Tl={$alloy->liquidus->celsius()}; Ts=min({$alloy->solidus->celsius()}, Tl-0.5); T0=20.0
            k={$sand->conductivity}; rc={$sand->density}*{$sand->heat}
            def metal(h):
                cold=cs*(Ts-T0); hot=cs*(Tl-T0)+L
                return T0+h/cs if h<cold else (Tl+(h-hot)/cl if h>hot else Ts+(h-cold)/(hot-cold)*(Tl-Ts))
            h0=cs*(Tl-T0)+L+cl*({$celsius}-Tl)
            xb=0.484*M*h0/(rc*({$spent}-T0))
            e=np.concatenate([[0],np.geomspace(xb/200,8*xb,160)]); w=np.diff(e); c=(e[:-1]+e[1:])/2
            def f(t,y):
                T=y[:-1]; q=np.empty(len(w)+1)
                q[0]=k*(metal(y[-1]/M)-T[0])/c[0]; q[1:-1]=k*(T[:-1]-T[1:])/np.diff(c); q[-1]=0
                return np.append((q[:-1]-q[1:])/(rc*w), -q[0])
            end=6*xb**2*rc/k
            s=solve_ivp(f,[0,end],np.append(np.full(len(w),T0),M*h0),method='BDF',rtol=1e-5,atol=1e-3,max_step=end/400)
            peak=s.y[:-1].max(axis=1)
            i=np.argmax(peak<{$spent}); x=c[i-1]+(c[i]-c[i-1])*(peak[i-1]-{$spent})/(peak[i-1]-peak[i])
            print(x*{$sand->density}/M)
            PY;
        $expected = (float) trim((new Process(['/usr/bin/python3', '-c', $script]))->setTimeout(120)->mustRun()->getOutput());

        self::assertEqualsWithDelta($expected, self::perKilogram($code, $celsius, $spent), 0.06 * $expected);
    }

    /**
     * Iron foundries run some five parts of sand to one of metal and mix in 0.4 to 0.8 % of bentonite a cycle (recalled from memory): with
     * 8 % in it, what is burnt here comes to that.
     */
    public function testIronSpendsAsMuchClayAsFoundriesReplace(): void
    {
        $spent = (self::perKilogram('grey_iron', 1380, 640) / 5) * 0.08;

        self::assertGreaterThan(0.004, $spent);
        self::assertLessThan(0.008, $spent);
    }

    public function testHotterMetalAndASofterBinderBurnMore(): void
    {
        self::assertGreaterThan(self::perKilogram('tin_bronze', 1080, 640), self::perKilogram('tin_bronze', 1180, 640));
        self::assertGreaterThan(self::perKilogram('tin_bronze', 1080, 640), self::perKilogram('tin_bronze', 1080, 550));
    }

    public function testMetalThatIsNotSoHotItselfBurnsNothing(): void
    {
        self::assertSame(0.0, self::perKilogram('zn_al4', 440, 640));
        self::assertSame(0.0, self::perKilogram('pewter_low_cu', 290, 300));
    }

    public function testTwiceTheMetalBurnsTwiceTheSand(): void
    {
        $alloy = AlloyTable::get('al_si7mg');
        $of = static fn (float $kg): float => BurntSand::from(
            Mass::of($kg, 'kg'),
            $alloy,
            Temperature::fromCelsius(720),
            self::sand($alloy),
            Temperature::fromCelsius(300),
            Temperature::fromCelsius(20),
        )->si;

        self::assertEqualsWithDelta(2 * $of(1.0), $of(2.0), 1e-9);
    }

    private static function perKilogram(string $code, float $celsius, float $spent): float
    {
        $alloy = AlloyTable::get($code);

        return BurntSand::perKilogram(
            $alloy,
            Temperature::fromCelsius($celsius),
            self::sand($alloy),
            Temperature::fromCelsius($spent),
            Temperature::fromCelsius(20),
        );
    }

    private static function sand(Alloy $alloy): MouldMaterial
    {
        return MouldMaterial::of('green_sand', $alloy) ?? throw new \LogicException('no sand');
    }
}
