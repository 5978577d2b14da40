@include('shop::spoken')
@if (! $stall->seen()->isHome())<input type="hidden" name="country" value="{{ $stall->seen()->country }}">
@endif
