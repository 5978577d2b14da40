@extends('shop::layout')
@push('head')
<meta name="robots" content="noindex">
@endpush
@section('main')
<div class="narrow">
<h1>{{ $say('shop.no_more_mail.heading') }}</h1>
@if ($done === true)<p role="status">{{ $say('shop.no_more_mail.done') }}</p>
@elseif ($done === false)<p class="trouble" role="alert">{{ $say('shop.no_more_mail.not_whole') }}</p>
@else<p>{{ $say('shop.no_more_mail.press', email: $to) }}</p>
<form method="post" action="/no-more-mail"><input type="hidden" name="to" value="{{ $to }}"><input type="hidden" name="by"
    value="{{ $by }}"><button type="submit" class="button">{{ $say('shop.no_more_mail.please') }}</button></form>@endif
</div>
@endsection
