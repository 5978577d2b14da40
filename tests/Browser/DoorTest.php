<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser;

/** Coming in, a wrong key, and stepping between stalls. */
final class DoorTest extends BrowserTestCase
{
    public function test_the_doors_and_a_second_stall(): void
    {
        $desk = $this->desk();
        $desk->open(self::workshop('/sign-in'))->see('Sign in')->readsForEveryone('signing in');
        $desk
            ->write('E-mail', 'nobody@quillet.example')
            ->write('Password', 'wrong')
            ->click('button[type="submit"]')
            ->see('No one with that address and password works here.');
        $handle = $this->newStallByHand($desk, 'First plot', connect: false);
        $desk->readsForEveryone('an empty Source');
        $desk
            ->press('Connect a supplier')
            ->click('a[href*="kind=oakum"]')
            ->write('Your key', 'no-such-key')
            ->press('Connect and pull the catalogue')
            ->see('Oakum Depot doesn’t know this key. Copy it again from your account there.')
            ->readsForEveryone('connecting');

        $desk->press('First plot')->press('Make another stall')->see('Set up a stall')->readsForEveryone('a new stall');
        $desk
            ->write('Name of the stall', 'Second plot')
            ->write('Address of the shop', $handle.'-two')
            ->press('Set up the stall')
            ->see('No supplier is connected yet');
        $desk->press('Second plot')->press('First plot');
        $desk->until(
            fn (): bool => str_ends_with($desk->driver->getCurrentURL(), '/at/'.$handle.'/source'),
            'for the first stall',
        );
        $desk
            ->open(self::workshop('/at/'.$handle.'/settings'))
            ->see('What every sale bears')
            ->readsForEveryone('Settings');
        $desk
            ->open(self::workshop('/at/'.$handle.'/bench'))
            ->see('Nothing lies here')
            ->readsForEveryone('an empty Bench');
        $desk->open(self::workshop('/at/nobody/bench'))->see('There is nothing at this address.');
        $desk
            ->open(self::workshop('/at/'.$handle.'/counter'))
            ->press('First plot')
            ->press('Sign out Ada')
            ->see('New here?');
        $desk->open(self::workshop('/at/'.$handle.'/bench'))->see('New here?');
    }
}
