@include('shop::search-script')
@include('shop::search-form')
