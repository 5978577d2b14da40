@extends('standins::layout', ['title' => 'Test payment', 'about' => 'no money moves here'])
@section('main')
@include('standins::fields')
@endsection
