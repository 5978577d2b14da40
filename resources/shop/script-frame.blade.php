<!doctype html>
<meta charset="utf-8">
<title>·</title>
@foreach ($scripts as $script)
@if ($script->is_picture)<img src="{{ $script->address }}" alt="" width="1" height="1" referrerpolicy="no-referrer">
@else<script src="{{ $script->address }}" async></script>
@endif
@endforeach
