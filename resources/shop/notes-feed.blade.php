<link rel="alternate" type="{{ WindowStall\Shop\NotesFeed::TYPE }}" title="{{ $say('shop.notes.heading') }}" href="{{
    $stall->shopAddress($stall->seen()->path('/notes.atom')) }}">
